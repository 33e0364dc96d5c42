<?php

declare(strict_types=1);

namespace App\Clients\Messages;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\EmailType;
use Symfony\Component\Form\Extension\Core\Type\HiddenType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<MessageInput> */
final class MessageType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('recipient', EmailType::class, ['label' => 'To', 'empty_data' => ''])
            ->add('subject', TextType::class, ['label' => 'Subject', 'empty_data' => ''])
            ->add('text', TextareaType::class, ['label' => 'Text', 'empty_data' => '', 'attr' => ['rows' => 14]])
            ->add('key', HiddenType::class);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => MessageInput::class]);
    }
}
