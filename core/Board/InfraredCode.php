<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** One key of a remote, as a receiver prints it. */
final readonly class InfraredCode
{
    /**
     * @param string $value in hexadecimal, capitals, without a prefix
     */
    public function __construct(
        public InfraredEncoding $encoding,
        public string $value,
        public int $bits = 32,
    ) {
        if (1 !== preg_match('/^[0-9A-F]{1,16}$/', $value) || $bits < 4 || $bits > 64) {
            throw new \InvalidArgumentException('An infrared code has 1 to 16 hexadecimal digits in capitals, and 4 to 64 bits.');
        }
    }

    /** “0x0BF430CF” */
    public function printed(): string
    {
        return '0x' . str_pad($this->value, (int) ceil($this->bits / 4), '0', STR_PAD_LEFT);
    }
}
