<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** Available over required, at typical values and at the worst corner; both are ratios. */
final readonly class Margin
{
    public function __construct(public Figure $nominal, public Figure $worst) {}

    public function state(): MarginState
    {
        return match (true) {
            $this->nominal->value < 1 => MarginState::Broken,
            $this->worst->value < 1 => MarginState::Weak,
            default => MarginState::Sound,
        };
    }
}
