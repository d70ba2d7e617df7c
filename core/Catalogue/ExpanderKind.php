<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** How an I/O expander is spoken to and how its outputs drive. */
enum ExpanderKind: string
{
    /** Sinks well, sources next to nothing; all outputs high after power-up. */
    case QuasiBidirectional = 'quasi-bidirectional';
    case PushPull = 'push-pull';
    /** Chained outputs without addresses; undefined after power-up unless held off. */
    case ShiftRegister = 'shift register';

    public function isOnI2c(): bool
    {
        return self::ShiftRegister !== $this;
    }
}
