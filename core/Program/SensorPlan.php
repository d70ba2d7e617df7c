<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Board\SensorRule;

/** A sensor that switches a line. */
final readonly class SensorPlan
{
    /**
     * @param string $function id of its input
     * @param bool $onlyOff it takes its line off and never puts it on
     */
    public function __construct(public Act $act, public string $function, public SensorRule $rule, public bool $onlyOff) {}
}
