<?php

declare(strict_types=1);

namespace App\Account\Password;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\PasswordType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<NewPassword> */
final class NewPasswordType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->add('password', PasswordType::class, [
            'label' => $options['label_text'],
            'help' => 'At least 12 characters; four words in a row are easy to keep in mind.',
            'empty_data' => '',
            'attr' => ['autocomplete' => 'new-password', 'data-never-keep' => ''],
        ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => NewPassword::class, 'label_text' => 'Password']);
    }
}
