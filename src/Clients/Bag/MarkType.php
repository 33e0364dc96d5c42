<?php

declare(strict_types=1);

namespace App\Clients\Bag;

use App\Measure\LengthType;
use Schwung\Core\Material\MarkedCloth;
use Schwung\Core\Material\MarkKind;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\FileType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<MarkInput> */
final class MarkType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('kind', EnumType::class, [
                'label' => 'What it is',
                'class' => MarkKind::class,
                'placeholder' => 'choose',
                'choice_label' => static fn(MarkKind $kind): string => $kind->words(),
            ])
            ->add('cloth', EnumType::class, [
                'label' => 'Where',
                'class' => MarkedCloth::class,
                'empty_data' => MarkedCloth::Top->value,
                'choice_label' => static fn(MarkedCloth $cloth): string => $cloth->words(),
            ])
            ->add('across', LengthType::class, [
                'label' => 'From the left edge',
                'may_be_zero' => true,
                'attr' => ['data-length' => '1', 'data-mark-across' => ''],
            ])
            ->add('along', LengthType::class, [
                'label' => 'From the top edge',
                'may_be_zero' => true,
                'attr' => ['data-length' => '1', 'data-mark-along' => ''],
            ])
            ->add('thick', LengthType::class, ['label' => 'It stands so high', 'required' => false])
            ->add('note', TextType::class, ['label' => 'In words', 'required' => false, 'empty_data' => ''])
            ->add('photo', FileType::class, [
                'label' => 'A photo of it',
                'required' => false,
                'attr' => ['accept' => 'image/*', 'capture' => 'environment', 'class' => 'entry py-2'],
            ])
            ->add('clientKnows', CheckboxType::class, ['label' => 'The client knows', 'required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => MarkInput::class]);
    }
}
