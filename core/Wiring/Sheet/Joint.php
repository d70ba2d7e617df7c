<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

use IronLatch\Core\Wiring\Terminal;

/** A terminal of a part and the strand that is drawn to it, if any. */
final class Joint
{
    public bool $isLeft = true;

    /**
     * @param ?Strand $strand null where nothing is joined
     * @param ?string $wire number of the wire that ends here; null at the end that wires go out from
     */
    public function __construct(
        public readonly Terminal $terminal,
        public readonly ?Strand $strand,
        public readonly ?string $wire,
    ) {}

    /** What stands at it: place or pad, and both its names. */
    public function text(): string
    {
        $terminal = $this->terminal;
        $names = '' === $terminal->second || $terminal->second === $terminal->name
            ? $terminal->name
            : sprintf('%s (%s)', $terminal->second, $terminal->name);

        return Type::cut('' === $terminal->pad || $terminal->pad === $terminal->name ? $names : $terminal->pad . ' ' . $names, 26);
    }
}
