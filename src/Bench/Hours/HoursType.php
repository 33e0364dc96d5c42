<?php

declare(strict_types=1);

namespace App\Bench\Hours;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\Extension\Core\Type\FormType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<HoursInput> */
final class HoursType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $hours = $builder->create('hours', FormType::class, ['label' => false, 'error_bubbling' => false]);
        foreach (HoursInput::DAYS as $day => $name) {
            $hours->add((string) $day, TextType::class, ['label' => $name, 'required' => false, 'empty_data' => '']);
        }
        $setup = $builder->create('setup', FormType::class, ['label' => false, 'error_bubbling' => false]);
        foreach (HoursInput::CHANGES as $what => $label) {
            $setup->add($what, IntegerType::class, ['label' => "$label, minutes", 'empty_data' => '0']);
        }
        $builder
            ->add($hours)
            ->add('off', TextareaType::class, [
                'label' => 'Days off',
                'required' => false,
                'empty_data' => '',
                'help' => 'One a line, like 2027-03-19, or the first and the last, like 2027-08-02 to 2027-08-15.',
            ])
            ->add($setup)
            ->add('needleHours', IntegerType::class, ['label' => 'A needle lasts, hours of stitching'])
            ->add('service', DateType::class, [
                'label' => 'The machine\'s next service',
                'required' => false,
                'input' => 'datetime_immutable',
                'widget' => 'single_text',
                'invalid_message' => 'This is not a day. Write it like 2027-03-12.',
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => HoursInput::class]);
    }
}
