<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;

/** A button on the bench: what is written on it, what it does, and how that is said to the server and back. */
final readonly class BenchAct
{
    /** Between the parts of what a button sends; no id has it. */
    private const BETWEEN = '|';
    /** How long a button is held where that is asked for. */
    private const HELD_SECONDS = 3.0;

    /**
     * @param string $words on the button
     * @param string $name for who cannot see where it stands
     * @param string $value what the button sends
     */
    private function __construct(public string $words, public string $name, public string $value) {}

    public static function of(string $words, string $name, DeedKind $do, string $what = '', string $value = ''): self
    {
        return new self($words, $name, implode(self::BETWEEN, [$do->value, $what, $value]));
    }

    /**
     * What a button has sent.
     *
     * @throws \InvalidArgumentException for what no button of the bench sends
     */
    public static function read(string $sent, bool $isHeld): Deed
    {
        [$do, $what, $value] = [...explode(self::BETWEEN, $sent, 3), '', ''];
        $kind = DeedKind::tryFrom($do) ?? throw new \InvalidArgumentException(
            'The bench knows no such act. Load the page again, and use one of its buttons.',
        );

        return new Deed(0.0, $kind, $what, $value, $isHeld && DeedKind::Press === $kind ? self::HELD_SECONDS : null);
    }
}
