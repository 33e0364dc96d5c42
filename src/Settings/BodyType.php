<?php

declare(strict_types=1);

namespace App\Settings;

use App\Measure\LengthType;
use App\Measure\OwnDistances;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Hand;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<BodyInput> */
final class BodyType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('hand', EnumType::class, [
                'label' => 'Your hand',
                'empty_data' => Hand::Right->value,
                'class' => Hand::class,
                'expanded' => true,
                'choice_label' => static fn(Hand $hand): string => match ($hand) {
                    Hand::Right => 'right: from the centre to the right first',
                    Hand::Left => 'left: from the centre to the left first',
                },
            ])
            ->add('reach', LengthType::class, [
                'label' => 'Your reach over the bed',
                'help' =>
                    'From the front bar to where your hand still works without strain. Empty: the middle of the bed.',
                'required' => false,
            ])
            ->add('soreHands', CheckboxType::class, [
                'label' => 'Sore hands: holds with many pinches are proposed last',
                'required' => false,
            ]);
        OwnDistances::addTo($builder, Distance::ofTheBody());
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => BodyInput::class]);
    }
}
