<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** How a board is built. */
enum BuildForm: string
{
    case HandWired = 'hand-wired from ready modules';
    case Perforated = 'perforated board';
    case CarrierBoard = 'carrier board with sockets';
    case Assembled = 'assembled board with bare module';

    /** Its parts lie on one board of its own; otherwise each stands in the box by itself. */
    public function isOneBoard(): bool
    {
        return self::HandWired !== $this;
    }

    /** Its conductors are tracks, etched by somebody else. */
    public function isEtched(): bool
    {
        return self::CarrierBoard === $this || self::Assembled === $this;
    }
}
