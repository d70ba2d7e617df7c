<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** Which way a surface speaks. */
enum Direction: string
{
    case Command = 'commands only';
    case State = 'state only';
    case Both = 'commands and state';
    /** Of a chain whose hops let nothing through either way. */
    case Neither = 'nothing';

    public function commands(): bool
    {
        return self::Command === $this || self::Both === $this;
    }

    public function tellsState(): bool
    {
        return self::State === $this || self::Both === $this;
    }

    /** What is left of it behind another hop: what both carry. */
    public function through(self $next): self
    {
        return self::of($this->commands() && $next->commands(), $this->tellsState() && $next->tellsState());
    }

    private static function of(bool $commands, bool $state): self
    {
        return match (true) {
            $commands && $state => self::Both,
            $commands => self::Command,
            $state => self::State,
            default => self::Neither,
        };
    }
}
