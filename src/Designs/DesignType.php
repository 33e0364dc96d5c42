<?php

declare(strict_types=1);

namespace App\Designs;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\FileType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<DesignInput> */
final class DesignType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->add('name', TextType::class, ['label' => 'Name', 'empty_data' => ''])->add('file', FileType::class, [
            'label' => 'SVG of one row',
            'help' =>
                'Paths, polylines, lines and groups; up to 512 kB. Set the size of the drawing in inches or ' .
                'millimetres.',
            'attr' => ['accept' => '.svg,image/svg+xml', 'class' => 'entry py-2'],
        ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => DesignInput::class]);
    }
}
