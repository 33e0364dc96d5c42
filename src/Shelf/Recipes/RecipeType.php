<?php

declare(strict_types=1);

namespace App\Shelf\Recipes;

use App\Shelf\Thread\ShelfThread;
use Symfony\Bridge\Doctrine\Form\Type\EntityType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\ColorType;
use Symfony\Component\Form\Extension\Core\Type\FileType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<RecipeInput> */
final class RecipeType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $text = ['required' => false, 'empty_data' => ''];
        foreach (['top' => 'Upper thread', 'bobbin' => 'In the bobbin'] as $name => $label) {
            $builder->add($name, EntityType::class, [
                'label' => $label,
                'class' => ShelfThread::class,
                'choices' => $options['threads'],
                'choice_label' => static fn(ShelfThread $thread): string => \sprintf(
                    '%s, number %s',
                    $thread->colour(),
                    rtrim(rtrim(number_format($thread->weight()->number(), 1, '.', ''), '0'), '.'),
                ),
                'required' => false,
                'placeholder' => 'not settled',
            ]);
        }
        $builder
            ->add('topColour', ColorType::class, ['label' => 'Colour of the top', 'empty_data' => RecipeInput::LIGHT])
            ->add('backingColour', ColorType::class, [
                'label' => 'Colour of the backing',
                'empty_data' => RecipeInput::LIGHT,
            ])
            ->add('seen', ChoiceType::class, [
                'label' => 'Threads laid on both cloths and looked at',
                'choices' => array_flip(RecipeInput::LAMPS),
                'multiple' => true,
                'expanded' => true,
                'required' => false,
            ])
            ->add('needle', TextType::class, ['label' => 'Needle', 'help' => 'Size and point.', ...$text])
            ->add('foot', ChoiceType::class, [
                'label' => 'Foot',
                'choices' => array_flip(RecipeInput::FEET),
                'empty_data' => '',
            ])
            ->add('perInch', IntegerType::class, [
                'label' => 'Stitches an inch',
                'required' => false,
                'invalid_message' => 'This is no number. Write it like 11.',
            ])
            ->add('tension', TextType::class, [
                'label' => 'Tension',
                'help' => 'As the dial, the display or the bobbin gauge has it.',
                ...$text,
            ])
            ->add('isTested', CheckboxType::class, [
                'label' => 'Stitched on the same sandwich, both sides looked at',
                'required' => false,
            ])
            ->add('picture', FileType::class, ['label' => 'A photo of the test', 'required' => false])
            ->add('note', TextareaType::class, ['label' => 'What to mind', 'attr' => ['rows' => 2], ...$text]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => RecipeInput::class, 'threads' => []]);
    }
}
