<?php

declare(strict_types=1);

namespace App\Account;

use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\EmailType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\HiddenType;
use Symfony\Component\Form\Extension\Core\Type\PasswordType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<SignUp> */
final class SignUpType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('studio', TextType::class, [
                'label' => 'Name of the studio',
                'empty_data' => '',
                'attr' => ['autocomplete' => 'organization'],
            ])
            ->add('email', EmailType::class, [
                'label' => 'E-mail',
                'empty_data' => '',
                'attr' => ['autocomplete' => 'username'],
            ])
            ->add('password', PasswordType::class, [
                'label' => 'Password',
                'help' => 'At least 12 characters; four words in a row are easy to keep in mind.',
                'empty_data' => '',
                'always_empty' => false,
                'attr' => ['autocomplete' => 'new-password', 'data-never-keep' => ''],
            ])
            ->add('units', EnumType::class, [
                'label' => 'Units',
                'empty_data' => UnitSystem::Inches->value,
                'class' => UnitSystem::class,
                'expanded' => true,
                'choice_label' => static fn(UnitSystem $units): string => UnitSystem::Inches === $units
                    ? 'inches'
                    : 'centimetres',
            ])
            ->add('timeZone', HiddenType::class, ['empty_data' => 'UTC', 'attr' => ['data-time-zone' => '']]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => SignUp::class]);
    }
}
