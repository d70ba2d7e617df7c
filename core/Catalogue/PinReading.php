<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A pin’s name as somebody wrote it, read both ways. */
final readonly class PinReading
{
    public function __construct(public string $written, public ?Pin $asLabel, public ?Pin $asNumber) {}

    public function isAmbiguous(): bool
    {
        return null !== $this->asLabel && null !== $this->asNumber && $this->asLabel->name() !== $this->asNumber->name();
    }

    /** The likelier reading; an ambiguous one is for the maker to confirm. */
    public function best(): ?Pin
    {
        // A bare number is the chip's more often than half a label.
        return is_numeric(trim($this->written)) ? $this->asNumber ?? $this->asLabel : $this->asLabel ?? $this->asNumber;
    }
}
