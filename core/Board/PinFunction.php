<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Pull;

/** One thing that needs a pin. */
final readonly class PinFunction
{
    /**
     * @param ?Pull $pull a resistor fitted outside the controller, on this function’s wire
     * @param bool $toleratesConsole the maker states that boot chatter does no harm here and programs are loaded by other means
     */
    public function __construct(
        public FunctionKind $kind,
        public string $name,
        public ?Pull $pull = null,
        public bool $toleratesConsole = false,
    ) {}

    public function with(?FunctionKind $kind = null, ?string $name = null, ?bool $toleratesConsole = null): self
    {
        return new self($kind ?? $this->kind, $name ?? $this->name, $this->pull, $toleratesConsole ?? $this->toleratesConsole);
    }

    public function withPull(?Pull $pull): self
    {
        return new self($this->kind, $this->name, $pull, $this->toleratesConsole);
    }
}
