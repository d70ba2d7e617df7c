<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** A board that carries a chip to header pins with printed labels. */
#[Heading('Controllers')]
final readonly class Carrier implements Sized
{
    use OfItsPrice;
    use OfItsSize;

    /**
     * @param string $chip the chip’s part id
     * @param Spread $input volts at the carrier’s supply pin
     * @param string $topEdge what stands at the top of the drawing: 'antenna', 'USB socket'
     * @param list<HeaderPin> $header
     * @param float $price indicative, in euros
     * @param bool $isBareModule it is soldered down by its pads and brings no pulls, regulator or USB of its own
     * @param string $inputLabel what is printed at its supply pin; empty while that is not known
     * @param ?Regulation $regulator its own regulator; null where it has none, or nothing is known of it
     * @param bool $inputRegulated that regulator stands behind the supply pin; otherwise the pin leads straight to the chip
     * @param list<SupplyEntry> $otherEntries further pins that take a supply
     * @param string $outputLabel pin at which the regulator’s output is led out; empty for none
     * @param ?float $outsideAmps what that pin may give to loads outside, where it is stated; its chip and all else then have the
     *     regulator’s rating
     * @param ?UsbPath $usb from its USB socket to its supply pin; null for a carrier without one
     * @param list<string> $upload how a program gets in, where that differs from what is usual for the chip
     */
    public function __construct(
        public PartIdentity $identity,
        public string $chip,
        #[Measured(Unit::Volt, above: true)]
        public Spread $input,
        public string $topEdge,
        #[ListOf(HeaderPin::class)]
        public array $header,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public bool $isBareModule = false,
        public string $inputLabel = '',
        public ?Regulation $regulator = null,
        public bool $inputRegulated = true,
        #[ListOf(SupplyEntry::class)]
        public array $otherEntries = [],
        public string $outputLabel = '',
        public ?UsbPath $usb = null,
        #[ListOf('string')]
        public array $upload = [],
        #[Measured(Unit::Ampere, above: true)]
        public ?float $outsideAmps = null,
        public ?Size $size = null,
    ) {
        $labels = array_map(static fn(HeaderPin $pin): string => $pin->side->value . $pin->position, $header);
        if (count($labels) !== count(array_unique($labels))) {
            throw new \InvalidArgumentException('Two header pins of the carrier stand on the same place.');
        }
        $chips = array_filter(array_map(static fn(HeaderPin $pin): ?string => $pin->chipPin, $header), is_string(...));
        if (count($chips) !== count(array_unique($chips))) {
            throw new \InvalidArgumentException('The carrier leads out one pin of its chip twice.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    /**
     * The pins that take a supply, the usual one first.
     *
     * @return non-empty-list<SupplyEntry>
     */
    public function entries(): array
    {
        return [
            new SupplyEntry('' === $this->inputLabel ? 'supply pin' : $this->inputLabel, $this->input, $this->inputRegulated),
            ...$this->otherEntries,
        ];
    }

    /**
     * Whether its own regulator gives something at its output pin while it is fed at an entry: what is fed in there itself is no output.
     */
    public function givesWhenFedAt(string $entry): bool
    {
        return null !== $this->regulator
            && '' !== $this->outputLabel
            && ($this->entry($entry)->regulated || $this->entry($entry)->label !== $this->outputLabel);
    }

    /** The entry that bears a label; the usual one for none. */
    public function entry(string $label): SupplyEntry
    {
        foreach ($this->entries() as $entry) {
            if ($entry->label === $label) {
                return $entry;
            }
        }

        return $this->entries()[0];
    }
}
