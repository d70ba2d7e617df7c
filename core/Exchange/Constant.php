<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Record\Copy;

/** One constant of a program: its name, its value, and how the board would take another value over. */
final readonly class Constant
{
    /**
     * @param string $name in capitals
     * @param bool $isHex it is a code, written in hexadecimal
     * @param bool $isPin it is the number of a pin, which people write in several ways
     * @param ?\Closure(string): ?Edit $adopt the edit that makes the board say a value; null where the board cannot
     */
    public function __construct(
        public string $section,
        public string $name,
        public int|string $value,
        public string $comment = '',
        public bool $isHex = false,
        public bool $isPin = false,
        public ?\Closure $adopt = null,
    ) {}

    public function named(string $name): self
    {
        return Copy::of($this, ['name' => $name]);
    }

    public function written(): string
    {
        return is_int($this->value) ? ($this->isHex ? sprintf('0x%08X', $this->value) : (string) $this->value) : $this->value;
    }
}
