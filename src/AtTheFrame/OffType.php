<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Measure\LengthType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<OffSheet> */
final class OffType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('flatness', ChoiceType::class, [
                'label' => 'It lies',
                'empty_data' => 'flat',
                'choices' => ['flat' => 'flat', 'rippled, smooth on the frame' => 'rippled', 'not flat' => 'not-flat'],
                'attr' => ['data-flatness' => ''],
            ])
            ->add('curl', ChoiceType::class, [
                'label' => 'Its edges curl',
                'empty_data' => 'none',
                'choices' => ['not at all' => 'none', 'to the back' => 'to-back', 'to the front' => 'to-front'],
                'attr' => ['data-curl' => ''],
            ])
            ->add('trimmed', CheckboxType::class, ['label' => 'Trimmed', 'required' => false])
            ->add('leftovers', TextType::class, [
                'label' => 'Leftovers in the bag',
                'required' => false,
                'empty_data' => '',
            ])
            ->add('thread', TextType::class, ['label' => 'Thread used', 'required' => false, 'empty_data' => ''])
            ->add('bobbins', IntegerType::class, [
                'label' => 'Bobbins used',
                'required' => false,
                'invalid_message' => 'Write a whole number of bobbins, like 3.',
            ])
            ->add('design', TextType::class, ['label' => 'Design', 'required' => false, 'empty_data' => ''])
            ->add('finishedWidth', LengthType::class, ['label' => 'Finished, so wide', 'required' => false])
            ->add('finishedLength', LengthType::class, ['label' => 'Finished, so long', 'required' => false])
            ->add('nextTime', TextareaType::class, [
                'label' => 'What to do differently next time',
                'required' => false,
                'empty_data' => '',
                'attr' => ['rows' => 3],
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => OffSheet::class]);
    }
}
