<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Board\LampTells;

/** A lamp or a buzzer, and what it tells. */
final readonly class LampPlan
{
    /**
     * @param string $function id of its output
     * @param string $line id, where it tells the state of one
     */
    public function __construct(public string $function, public LampTells $tells, public string $line = '') {}
}
