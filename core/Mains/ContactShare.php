<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Catalogue\LoadKind;

/** How much of a contact’s resistive rating each kind of load may use, its inrush considered. Common practice, from memory. */
final class ContactShare
{
    public static function of(LoadKind $kind): float
    {
        return match ($kind) {
            LoadKind::Resistive => 1.0,
            LoadKind::Filament => 0.4,
            LoadKind::ElectronicLamp, LoadKind::SwitchMode => 0.1,
            LoadKind::UniversalMotor, LoadKind::InductionMotor => 0.35,
            LoadKind::Transformer => 0.3,
            LoadKind::DcInductive => 0.3,
        };
    }
}
