<?php

declare(strict_types=1);

namespace App\Public;

use App\Clients\Prep\PrepTexts;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\FormType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<FrontInput> */
final class FrontType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $texts = $builder->create('texts', FormType::class, ['label' => false]);
        foreach (PrepTexts::USUAL as $place => [$name]) {
            $texts->add($place, TextareaType::class, [
                'label' => $name,
                'required' => false,
                'empty_data' => '',
                'attr' => ['rows' => 2],
            ]);
        }
        $builder
            ->add('calculates', CheckboxType::class, [
                'label' => 'Whoever has the address can ask what to bring',
                'required' => false,
            ])
            ->add('word', TextType::class, [
                'label' => 'Its address ends in',
                'required' => false,
                'empty_data' => '',
            ])
            ->add('listens', CheckboxType::class, [
                'label' => 'Clients can send measures, photos and messages by the link to their quilt',
                'required' => false,
            ])
            ->add($texts);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => FrontInput::class]);
    }
}
