<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\SurfaceKind;

/** The input behind a new surface or key: one that is there already, or one of its own. */
final readonly class SurfaceInput
{
    /**
     * @param string $id of the function
     * @param array<string, PinFunction> $functions all of the board, with it
     */
    private function __construct(public string $id, public array $functions) {}

    /**
     * One receiver serves every key of a remote.
     *
     * @param string $shared id of a function that is there already; empty for the receiver there is, or a new function
     * @param string $of whose input it is: a new one bears its name
     * @throws EditRefused when what is shared is of another kind, or is to be found first
     */
    public static function for(Board $board, SurfaceKind $surface, string $shared, string $of, Ids $ids): self
    {
        $kind = $surface->functionKind();
        if ('' === $shared && FunctionKind::InfraredReceiver === $kind) {
            $receivers = array_filter($board->functions, static fn(PinFunction $one): bool => $one->kind === $kind);
            $shared = (string) array_key_first($receivers);
        }
        if ('' !== $shared) {
            return self::shared($board, $surface, $shared);
        }
        if (null === $kind) {
            throw new EditRefused('A sensor rule needs a sensor: add the sensor on Pins first, then choose it here.');
        }
        $id = $ids->next('F');
        $name = FunctionKind::InfraredReceiver === $kind ? 'Infrared receiver' : $of . ' ' . $surface->value;

        return new self($id, [...$board->functions, $id => PinFunction::of($kind, $name)]);
    }

    private static function shared(Board $board, SurfaceKind $surface, string $id): self
    {
        $kind = $surface->functionKind();
        $shared = Targets::function($board, $id);

        return null === $kind || $shared->kind === $kind ? new self($id, $board->functions) : throw new EditRefused(sprintf(
            '“%s” is a %s and cannot serve as a %s.',
            $shared->name,
            $shared->kind->value,
            $surface->value,
        ));
    }
}
