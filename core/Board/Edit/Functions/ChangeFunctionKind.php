<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Knowledge;

/** Makes something else of a function, such as a button of a maintained switch. */
final readonly class ChangeFunctionKind implements Edit
{
    public function __construct(
        public string $function,
        public FunctionKind $kind,
    ) {}

    public function apply(Board $board): Board
    {
        $function = Targets::function($board, $this->function);
        if (FunctionKind::RelayOutput === $function->kind || FunctionKind::RelayOutput === $this->kind) {
            throw new EditRefused('A relay output comes and goes with its relay. Remove the relay instead.');
        }
        if (FunctionKind::SelectorLadder === $this->kind || FunctionKind::SelectorLadder === $function->kind) {
            throw new EditRefused('A step selector is added and removed as a whole.');
        }
        $lines = $board->lines;
        foreach ($lines as $id => $line) {
            $surfaces = $line->surfaces;
            foreach ($surfaces as $surfaceId => $surface) {
                if ($surface->function === $this->function) {
                    $kind = match ($this->kind) {
                        FunctionKind::MaintainedSwitch => SurfaceKind::WallSwitch,
                        FunctionKind::Button, FunctionKind::BootButton => SurfaceKind::PushButton,
                        FunctionKind::InfraredReceiver => SurfaceKind::InfraredKey,
                        default => SurfaceKind::SensorRule,
                    };
                    $served = $surface->servedBy($kind, $surface->function);
                    $surfaces[$surfaceId] = true === $served->rule?->sensed->suits($this->kind)
                        ? $served
                        : Copy::of($served, ['rule' => null]);
                }
            }
            $lines[$id] = $line->with(surfaces: $surfaces);
        }

        $changed = Copy::of($function, [
            'kind' => $this->kind,
            'cableMetres' => Knowledge::Stated === $function->cableMetres->knowledge
                ? $function->cableMetres
                : PinFunction::usualCable($this->kind),
            ...$this->kind->isContact() ? [] : ['debounceFarads' => null, 'madeForMains' => null],
        ]);

        return $board->with(lines: $lines, functions: [...$board->functions, $this->function => $changed]);
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(sprintf('Make “%s” a %s', $board->nameOf($this->function), $this->kind->value), $board, $this);
    }
}
