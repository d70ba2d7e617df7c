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

    /**
     * How many times its current it draws for a moment after it is switched on: the middle of what is common (common practice, from
     * memory).
     */
    public function inrush(): float
    {
        return match ($this) {
            self::Resistive, self::DcInductive => 1.0,
            self::Filament => 12.0,
            self::ElectronicLamp => 40.0,
            self::UniversalMotor => 4.0,
            self::InductionMotor => 6.0,
            self::Transformer => 20.0,
            self::SwitchMode => 30.0,
        };
    }

    /** The most that is common of the same, for a contact whose maker states what it bears for a moment (common practice, from memory). */
    public function greatestInrush(): float
    {
        return match ($this) {
            self::Resistive, self::DcInductive => 1.0,
            self::Filament => 15.0,
            self::ElectronicLamp => 100.0,
            self::UniversalMotor => 5.0,
            self::InductionMotor => 7.0,
            self::Transformer, self::SwitchMode => 40.0,
        };
    }

    /** Where its plate says nothing of it (common practice, from memory). */
    public function usualPowerFactor(): float
    {
        return match ($this) {
            self::Resistive, self::Filament, self::DcInductive => 1.0,
            self::UniversalMotor => 0.9,
            self::InductionMotor => 0.6,
            self::Transformer => 0.8,
            self::ElectronicLamp, self::SwitchMode => 0.5,
        };
    }

    /** Draws more when the mains is high; a motor or a supply with a converter draws rather less. */
    public function followsMains(): bool
    {
        return self::Resistive === $this || self::Filament === $this;
    }

    /** Keeps its current going when it is switched off. */
    public function isInductive(): bool
    {
        return match ($this) {
            self::UniversalMotor, self::InductionMotor, self::Transformer, self::DcInductive => true,
            self::Resistive, self::Filament, self::ElectronicLamp, self::SwitchMode => false,
        };
    }
}
