<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** How an appliance draws its current, which decides what a contact can bear. */
enum LoadKind: string
{
    case Resistive = 'resistive';
    case Filament = 'filament lamp';
    case ElectronicLamp = 'electronic lamp';
    case UniversalMotor = 'universal motor';
    case InductionMotor = 'induction motor';
    case Transformer = 'transformer';
    case SwitchMode = 'switch-mode supply';
    case DcInductive = 'DC inductive';

    /** Keeps its current going when it is switched off. */
    public function isInductive(): bool
    {
        return match ($this) {
            self::UniversalMotor, self::InductionMotor, self::Transformer, self::DcInductive => true,
            self::Resistive, self::Filament, self::ElectronicLamp, self::SwitchMode => false,
        };
    }
}
