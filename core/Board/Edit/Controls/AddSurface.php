<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\SurfaceInput;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;

/** Adds a way to operate a line, with a function of its own unless it shares one. */
final readonly class AddSurface implements Edit
{
    /**
     * @param string $sharedFunction id of a function that exists already
     */
    public function __construct(
        public string $line,
        public SurfaceKind $kind,
        public string $sharedFunction = '',
    ) {}

    public function apply(Board $board): Board
    {
        $line = Targets::line($board, $this->line);
        $ids = new Ids($board);
        if ($this->kind->isRemote()) {
            throw new EditRefused(sprintf(
                'A %s comes by way of a channel. Add the channel on Controls, and put the line on it.',
                $this->kind->value,
            ));
        }
        if (SurfaceKind::Knob === $this->kind && !$this->isSelector($board, $this->sharedFunction)) {
            throw new EditRefused('A knob needs a step selector: add one on Pins first, then choose it here.');
        }
        $input = SurfaceKind::Timer === $this->kind
            ? null
            : SurfaceInput::for($board, $this->kind, $this->sharedFunction, $line->name, $ids);
        $surfaces = [...$line->surfaces, $ids->next('S') => new Surface($this->kind, $input->id ?? '')];

        return $board->with(
            lines: [...$board->lines, $this->line => $line->with(surfaces: $surfaces)],
            functions: $input->functions ?? $board->functions,
            lastIds: $ids->last(),
        );
    }

    private function isSelector(Board $board, string $function): bool
    {
        return null !== $board->groupOf($function, GroupKind::Selector)
            || FunctionKind::SelectorLadder === ($board->functions[$function]->kind ?? null);
    }

    public function summary(Board $board): string
    {
        return sprintf('Operate “%s” by %s', $board->nameOf($this->line), $this->kind->value);
    }
}
