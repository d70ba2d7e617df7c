<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Quantity\Spread;

/**
 * One input of a ready-made module as its pin sees it. Active low, current flows from the inputs’ supply through the LEDs into
 * the pin; active high, from the pin through them to ground.
 */
final readonly class ModuleInput
{
    public Spread $ledVolts;
    /** What the inputs are fed with: the coils’ rail, or with the jumper off the pins’ supply. */
    public Spread $supply;
    private int $leds;

    public function __construct(public OptoModule $module, public OptoModuleInput $driver, PinElectrics $pin, Spread $rail)
    {
        $this->ledVolts = $module->indicatorVolts->plus($module->optoVolts);
        $this->leds = $module->indicatorVolts->max > 0 ? 2 : 1;
        $this->supply = $driver->separateSupply ? $pin->supply : $rail;
    }

    /** Amperes through the LEDs with the pin at a voltage behind a resistance, all values typical. */
    public function typical(float $pinVolts, float $pinOhms): float
    {
        return $this->amps($this->supply->typ, $this->module->seriesResistance->typ, $this->ledVolts->typ, $pinVolts, $pinOhms);
    }

    /** The same where least flows. */
    public function least(float $pinVolts, float $pinOhms): float
    {
        return $this->amps($this->supply->min, $this->module->seriesResistance->max, $this->ledVolts->max, $pinVolts, $pinOhms);
    }

    /** The same where most flows. */
    public function most(float $pinVolts, float $pinOhms): float
    {
        return $this->amps($this->supply->max, $this->module->seriesResistance->min, $this->ledVolts->min, $pinVolts, $pinOhms);
    }

    public function isActiveLow(): bool
    {
        return Level::Low === $this->driver->activeLevel;
    }

    private function amps(float $supply, float $series, float $leds, float $pinVolts, float $pinOhms): float
    {
        return $this->isActiveLow()
            ? OptoInput::amps($supply, $series, $leds, $this->leds, $pinVolts, $pinOhms)
            : OptoInput::amps($pinVolts, $series, $leds, $this->leds, 0.0, $pinOhms);
    }
}
