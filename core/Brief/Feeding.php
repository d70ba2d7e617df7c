<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Catalogue\SupplyForm;

/** Where the current of a draft comes from, and at which voltage its coils live. */
enum Feeding: string
{
    case Module5 = '5 V from a mains module';
    case Module12 = '12 V from a mains module, 5 V by a converter';
    case Adapter5 = '5 V from a plug-in adapter';
    case Adapter12 = '12 V from a plug-in adapter, 5 V by a converter';
    case Bus12 = 'the 12 V that is there, 5 V by a converter';
    case Bus24 = 'the 24 V that is there, 5 V by a converter';

    public function form(): SupplyForm
    {
        return match ($this) {
            self::Module5, self::Module12 => SupplyForm::EncapsulatedModule,
            self::Adapter5, self::Adapter12 => SupplyForm::Adapter,
            self::Bus12, self::Bus24 => SupplyForm::Bus,
        };
    }

    /** Volts of the source. */
    public function volts(): float
    {
        return match ($this) {
            self::Module5, self::Adapter5 => 5.0,
            self::Module12, self::Adapter12, self::Bus12 => 12.0,
            self::Bus24 => 24.0,
        };
    }

    /** Volts of the coils. */
    public function coilVolts(): float
    {
        return match ($this) {
            self::Module12, self::Adapter12, self::Bus12 => 12.0,
            default => 5.0,
        };
    }

    /** One rail for coils and controller; otherwise a converter makes the controller’s 5 V. */
    public function isOneSupply(): bool
    {
        return self::Module5 === $this || self::Adapter5 === $this;
    }

    /**
     * Those that go with a mains system and a place.
     *
     * @param float $direct volts of a direct supply in place of mains; 0 for mains
     * @return non-empty-list<self>
     */
    public static function for(float $direct, bool $hasNeutral): array
    {
        return match (true) {
            $direct > 18 => [self::Bus24],
            $direct > 0 => [self::Bus12],
            $hasNeutral => [self::Module5, self::Module12],
            default => [self::Adapter5, self::Adapter12],
        };
    }
}
