<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A chip on its carrier: what a maker seats functions on. */
final readonly class Controller
{
    /** @var array<string, Pin> by the chip’s name, in header order: left side first, then right; those of expanders behind them */
    public array $pins;

    /**
     * @param array<string, SuppliedExpander> $expanders by id
     * @throws \InvalidArgumentException when the carrier leads to pins that the chip does not have
     */
    public function __construct(public Carrier $carrier, public Chip $chip, public array $expanders = [])
    {
        $silicon = $chip->silicon();
        $chipPins = [];
        foreach ($chip->pins as $chipPin) {
            $chipPins[$chipPin->name] = $chipPin;
        }
        $pins = [];
        foreach ($carrier->header as $header) {
            if (null !== $header->chipPin) {
                $chipPin = $chipPins[$header->chipPin] ?? throw new \InvalidArgumentException(sprintf(
                    'The carrier leads to %s, which the chip does not have.',
                    $header->chipPin,
                ));
                $pins[$header->chipPin] = new Pin($chipPin, $header, $silicon);
            }
        }
        foreach ($expanders as $id => $supplied) {
            $pins = [...$pins, ...$supplied->pins($id)];
        }
        $this->pins = $pins;
    }

    /**
     * Reads a pin’s name in either naming. 'D2' can be a printed label and, on another carrier, the chip’s number 2:
     * both readings are returned, and it is for the maker to say which was meant.
     */
    public function read(string $written): PinReading
    {
        $wanted = strtoupper(trim($written));
        $asLabel = $asShortLabel = null;
        $asNumber = null;
        $number = 1 === preg_match('/^[A-Z]*?(\d+)$/', $wanted, $match) ? (int) $match[1] : null;
        foreach ($this->pins as $pin) {
            if (strtoupper($pin->label()) === $wanted) {
                $asLabel = $pin;
            }
            // A bare number is often short for a D label, where nothing bears the number itself.
            if (is_numeric($wanted) && 'D' . $wanted === strtoupper($pin->label())) {
                $asShortLabel = $pin;
            }
            if (strtoupper($pin->name()) === $wanted) {
                return new PinReading($written, null, $pin);
            }
            if (null !== $number && !str_starts_with($wanted, 'A') && 'GPIO' . $number === $pin->name()) {
                $asNumber = $pin;
            }
        }

        return new PinReading($written, $asLabel ?? $asShortLabel, $asNumber);
    }
}
