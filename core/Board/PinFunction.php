<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** One thing that needs a pin. */
final readonly class PinFunction
{
    /**
     * In one piece: a list of what must hold, one sentence each.
     *
     * @param Fact<float> $cableMetres length of the cable to it
     * @param ?Pull $pull a resistor fitted outside the controller, on this function’s wire
     * @param bool $toleratesConsole the maker states that boot chatter does no harm here and programs are loaded by other means
     * @param bool $sharesPin the maker states that it shares its pin on purpose
     * @param ?Fact<float> $highVolts how high its wire is driven from outside; null where that is the pins’ own supply
     * @param int $positions of a selector ladder; 0 for everything else
     * @param ?Fact<bool> $repeated codes also come from a sender that repeats them, with nobody in the room; of an infrared receiver
     * @param ?Fact<Insulation> $barrier what keeps mains from its wire; of what listens to the mains itself
     * @param ?float $debounceFarads between the wire of a contact and ground; null for none
     * @param ?Fact<bool> $madeForMains the contact was made for mains, and wants more current than one for signals
     * @param ?string $place id of the place where it is; null for nowhere in particular
     * @param ?LampFacts $lamp of a status LED; null while nothing is said of it
     * @param ?LampTells $tells of a status LED or buzzer; null while nobody has said
     * @param bool $servesNoLine the maker states that it operates no line, and that it is meant so
     */
    public function __construct(
        public FunctionKind $kind,
        public string $name,
        #[FactOf('float'), Measured(Unit::Metre)]
        public Fact $cableMetres,
        public ?Pull $pull = null,
        public bool $toleratesConsole = false,
        public bool $sharesPin = false,
        public int $positions = 0,
        #[FactOf('float'), Measured(Unit::Volt)]
        public ?Fact $highVolts = null,
        public bool $servesNoLine = false,
        #[FactOf('bool')]
        public ?Fact $repeated = null,
        #[FactOf(Insulation::class)]
        public ?Fact $barrier = null,
        #[Measured(Unit::Farad)]
        public ?float $debounceFarads = null,
        #[FactOf('bool')]
        public ?Fact $madeForMains = null,
        public ?string $place = null,
        public ?LampFacts $lamp = null,
        public ?LampTells $tells = null,
    ) {
        if (null !== $debounceFarads && ($debounceFarads < 100e-12 || $debounceFarads > 100e-6)) {
            throw new \InvalidArgumentException('A capacitor beside a contact has between 100 pF and 100 µF. Usual are 100 nF.');
        }
        $canTell = FunctionKind::StatusLed === $kind || FunctionKind::Buzzer === $kind;
        if (null !== $lamp && FunctionKind::StatusLed !== $kind || null !== $tells && !$canTell) {
            throw new \InvalidArgumentException('Only a status LED has a colour and a resistor, and only it or a buzzer tells a state.');
        }
        if (null !== $debounceFarads && !$kind->isContact()) {
            throw new \InvalidArgumentException('Only a contact has a capacitor against its bouncing.');
        }
        if (is_float($highVolts?->value) && ($highVolts->value < 0.5 || $highVolts->value > 60)) {
            throw new \InvalidArgumentException('The high level of a signal lies between 0.5 V and 60 V. Usual are 3.3 V and 5 V.');
        }
        if (FunctionKind::SelectorLadder === $kind && ($positions < 2 || $positions > 12)) {
            throw new \InvalidArgumentException('A selector ladder has 2 to 12 positions.');
        }
        if (is_float($cableMetres->value) && ($cableMetres->value < 0 || $cableMetres->value > 200)) {
            throw new \InvalidArgumentException('A cable to a switch or sensor is between 0 and 200 m long.');
        }
    }

    /** With the cable that is usual for its kind: unknown for what hangs on a wall, short for what sits on the board. */
    public static function of(FunctionKind $kind, string $name, ?Pull $pull = null, int $positions = 0): self
    {
        return new self($kind, $name, self::usualCable($kind), $pull, positions: $positions);
    }

    /**
     * @return Fact<float>
     */
    public static function usualCable(FunctionKind $kind): Fact
    {
        return $kind->isContact() && FunctionKind::BootButton !== $kind
            ? Fact::unknown()
            : Fact::assumed(0.2, 'usual on or beside the board');
    }

    /**
     * @param ?Fact<float> $cableMetres
     * @param ?Fact<float> $highVolts
     * @param ?Fact<bool> $repeated
     * @param ?Fact<Insulation> $barrier
     */
    public function with(
        ?FunctionKind $kind = null,
        ?string $name = null,
        ?Fact $cableMetres = null,
        ?bool $toleratesConsole = null,
        ?bool $sharesPin = null,
        ?Fact $highVolts = null,
        ?bool $servesNoLine = null,
        ?Fact $repeated = null,
        ?Fact $barrier = null,
        ?LampFacts $lamp = null,
        ?LampTells $tells = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }

    public function withPull(?Pull $pull): self
    {
        return Copy::of($this, ['pull' => $pull]);
    }
}
