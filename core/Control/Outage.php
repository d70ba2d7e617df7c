<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\Need;

/** One thing that can be gone: what all of the house share, or what one hop has by itself. */
final readonly class Outage
{
    /**
     * @param ?string $channel whose; null for what all share
     */
    public function __construct(public Need $need, public ?string $channel, private string $name) {}

    public function key(): string
    {
        return null === $this->channel ? $this->need->value : $this->channel . ' ' . $this->need->value;
    }

    /** What is gone, in few words. */
    public function short(): string
    {
        return null === $this->channel ? $this->need->value : sprintf('%s of %s', $this->need->value, $this->name);
    }

    public function words(): string
    {
        return sprintf($this->need->goneWords(), $this->name);
    }
}
