<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A chip’s pin as it is met on a carrier: both of its names and everything known of it. */
final readonly class Pin
{
    /**
     * @param ?string $expander id of the expander that it belongs to; null for the controller’s own
     */
    public function __construct(public ChipPin $chip, public HeaderPin $header, public Silicon $silicon, public ?string $expander = null) {}

    /** The chip’s own name, by which seats are kept. */
    public function name(): string
    {
        return $this->chip->name;
    }

    public function label(): string
    {
        return $this->header->label;
    }

    /** Both names, chip first, or one where they are the same. */
    public function bothNames(): string
    {
        return $this->name() === $this->label() ? $this->name() : sprintf('%s (printed %s)', $this->name(), $this->label());
    }
}
