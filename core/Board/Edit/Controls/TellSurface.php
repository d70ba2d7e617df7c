<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Catalogue\Operation;

/** States what an act on a surface means and what it says, in place of what is derived; what is empty is derived again. */
final readonly class TellSurface implements Edit
{
    public function __construct(
        public string $surface,
        public ?Operation $operation = null,
        public string $address = '',
        public string $on = '',
        public string $off = '',
        public bool $promisesFeedback = false,
    ) {}

    /** What the surface says now, with one thing said otherwise. */
    public static function keeping(
        string $id,
        Surface $surface,
        ?Operation $operation = null,
        ?string $address = null,
        ?bool $promisesFeedback = null,
    ): self {
        return new self(
            $id,
            $operation ?? $surface->operation,
            $address ?? $surface->address,
            $surface->on,
            $surface->off,
            $promisesFeedback ?? $surface->promisesFeedback,
        );
    }

    public function apply(Board $board): Board
    {
        [$lineId, $surface] = Targets::surface($board, $this->surface);
        $possible = null === $surface->channel ? $surface->kind->operations() : [
            ...$board->profile($board->channels[$surface->channel])->operations,
            Operation::Off,
        ];
        if (null !== $this->operation && !in_array($this->operation, $possible, true)) {
            throw new EditRefused(sprintf(
                'A %s cannot say “%s”. It can say: %s.',
                $surface->kind->value,
                $this->operation->value,
                implode(', ', array_map(static fn(Operation $one): string => $one->value, $possible)),
            ));
        }
        foreach ([$this->address, $this->on, $this->off] as $text) {
            if (mb_strlen($text) > 200 || 1 === preg_match('/[\\x00-\\x1F\\x7F]/', $text)) {
                throw new EditRefused('A name or value on a surface has at most 200 characters on one line.');
            }
        }

        return Targets::changeSurface(
            $board,
            $lineId,
            $this->surface,
            [
                'operation' => $this->operation,
                'address' => $this->address,
                'on' => $this->on,
                'off' => $this->off,
                'promisesFeedback' => $this->promisesFeedback,
            ],
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Say what “%s” means', $board->nameOf($this->surface));
    }
}
