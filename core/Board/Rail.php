<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\JackPolarity;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** A low-voltage rail, what feeds it, and what stands between. */
final readonly class Rail
{
    public const USUAL_FARADS = 220e-6;
    public const USUAL_ESR_OHMS = 0.15;

    /**
     * @param string $supply id of the part that feeds it: a source, a converter, or the carrier with its own regulator
     * @param ?string $from id of the rail that feeds the converter; null for everything else
     * @param bool $throughUsb its source is plugged into the carrier’s USB socket, and the rail begins at the carrier’s 5 V pin
     * @param list<string> $protection ids of what stands between the source and the rail, the source’s side first
     * @param ?Cable $cable between the source and the board; null for a source on the board
     * @param ?Fact<float> $farads capacitance at the loads; null while nothing is said of it
     * @param ?Fact<float> $esrOhms series resistance of that capacitance
     * @param ?Fact<bool> $groundJoined its ground is joined to the controller’s; null while nothing is said of it
     * @param ?JackPolarity $socket the round socket that its adapter is plugged into
     * @param ?Fact<bool> $capacitorsFitted its converter has the capacitors that its maker asks for
     * @param ?float $heatSinkKelvinPerWatt of the heat sink on its converter
     */
    public function __construct(
        public string $name,
        public string $supply,
        public ?string $from = null,
        public bool $throughUsb = false,
        #[ListOf('string')]
        public array $protection = [],
        public ?Cable $cable = null,
        #[FactOf('float'), Measured(Unit::Farad)]
        public ?Fact $farads = null,
        #[FactOf('float'), Measured(Unit::Ohm)]
        public ?Fact $esrOhms = null,
        #[FactOf('bool')]
        public ?Fact $groundJoined = null,
        public ?JackPolarity $socket = null,
        #[FactOf('bool')]
        public ?Fact $capacitorsFitted = null,
        #[Measured(Unit::KelvinPerWatt)]
        public ?float $heatSinkKelvinPerWatt = null,
    ) {
        if (is_float($farads?->value) && ($farads->value < 0 || $farads->value > 0.1)) {
            throw new \InvalidArgumentException('The capacitance on a rail lies between 0 and 100 mF. A few hundred µF are usual.');
        }
        if (is_float($esrOhms?->value) && ($esrOhms->value < 0 || $esrOhms->value > 20)) {
            throw new \InvalidArgumentException(
                'The series resistance of a capacitor lies between 0 and 20 Ω. Usual for an electrolytic one are 0.1 Ω to 0.5 Ω.',
            );
        }
        if (null !== $heatSinkKelvinPerWatt && ($heatSinkKelvinPerWatt < 0.2 || $heatSinkKelvinPerWatt > 100)) {
            throw new \InvalidArgumentException('A heat sink has between 0.2 K/W and 100 K/W. Small clip-on ones have about 20 K/W.');
        }
    }

    /**
     * @return Fact<float>
     */
    public function reservoir(): Fact
    {
        return $this->farads ?? Fact::assumed(self::USUAL_FARADS, 'a few hundred µF are usual on a coil rail');
    }

    /**
     * @return Fact<float>
     */
    public function reservoirOhms(): Fact
    {
        return $this->esrOhms ?? Fact::assumed(self::USUAL_ESR_OHMS, 'usual for an electrolytic capacitor of that size');
    }

    /**
     * Fed by something else: what stands between stays, and of what belonged to the old feeder what the new one has too.
     *
     * @param bool $hasSocket the new feeder is plugged into a round socket
     * @param bool $isConverter the new feeder is a converter on the board
     */
    public function fedBy(
        string $supply,
        ?string $from = null,
        bool $throughUsb = false,
        bool $hasSocket = false,
        bool $isConverter = false,
    ): self {
        return Copy::of($this, [
            'supply' => $supply,
            'from' => $from,
            'throughUsb' => $throughUsb,
            'socket' => $hasSocket || $supply === $this->supply ? $this->socket : null,
            'capacitorsFitted' => $supply === $this->supply ? $this->capacitorsFitted : null,
            'heatSinkKelvinPerWatt' => $isConverter || $supply === $this->supply ? $this->heatSinkKelvinPerWatt : null,
        ]);
    }

    /**
     * @param ?list<string> $protection
     * @param ?Fact<float> $farads
     * @param ?Fact<float> $esrOhms
     * @param ?Fact<bool> $groundJoined
     * @param ?Fact<bool> $capacitorsFitted
     */
    public function with(
        ?string $name = null,
        ?array $protection = null,
        ?Fact $farads = null,
        ?Fact $esrOhms = null,
        ?Fact $groundJoined = null,
        ?JackPolarity $socket = null,
        ?Fact $capacitorsFitted = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }

    public function withCable(?Cable $cable): self
    {
        return Copy::of($this, ['cable' => $cable]);
    }

    public function withHeatSink(?float $kelvinPerWatt): self
    {
        return Copy::of($this, ['heatSinkKelvinPerWatt' => $kelvinPerWatt]);
    }
}
