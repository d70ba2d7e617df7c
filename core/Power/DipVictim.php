<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\MarginState;

/** Who suffers from a rail that dips. */
enum DipVictim: string
{
    case Controller = 'the controller resets itself';
    case HeldRelays = 'relays that are in let go';
    case Specification = 'the controller runs below its specified supply';
    case PullingRelays = 'relays do not pull in together';
    case Nobody = 'nothing on it minds';

    /** Running out of specification is never worse than weak: most copies carry on. */
    public function stateFor(Margin $margin): MarginState
    {
        return self::Specification === $this && MarginState::Broken === $margin->state() ? MarginState::Weak : $margin->state();
    }
}
