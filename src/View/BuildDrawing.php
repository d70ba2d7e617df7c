<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\Fit\Laid;
use IronLatch\Core\Build\Fit\Rect;
use IronLatch\Core\Build\PartsList;

/** The plan as it is drawn: all lengths in millimetres from the left top corner of the box. */
final readonly class BuildDrawing
{
    private const MARGIN = 8.0;
    /** Type of designators, and the least body they are written into. */
    private const LEAST_NAMED = 5.0;

    /**
     * @param string $thing designator of what is opened; empty for nothing
     * @param ?\Closure(string): string $url leads to a part on the desk; null for a drawing by itself
     */
    public function __construct(
        private Board $board,
        public ?BoxPlan $plan,
        private PartsList $parts,
        private string $thing = '',
        private ?\Closure $url = null,
    ) {}

    public function length(): float
    {
        return 1000 * ($this->plan->space->length ?? $this->extent()->right);
    }

    public function width(): float
    {
        return 1000 * ($this->plan->space->width ?? $this->extent()->bottom);
    }

    public function margin(): float
    {
        return self::MARGIN;
    }

    private function extent(): Rect
    {
        return $this->plan?->board() ?? new Rect(0.0, 0.0, 0.1, 0.1);
    }

    /**
     * @return list<array<string, mixed>>
     */
    public function pieces(): array
    {
        $lit = array_fill_keys($this->parts->rowOf($this->thing)->designators ?? [], true);
        $pieces = [];
        foreach ($this->plan->laid ?? [] as $id => $laid) {
            $pieces[] = [
                'id' => $id,
                'url' => null === $this->url ? '' : ($this->url)($id),
                'name' => $laid->part->name,
                'zone' => $laid->part->zone->value,
                'high' => sprintf('%.0f mm', 1000 * $laid->part->height),
                'place' => sprintf('%.1f mm from the left, %.1f mm from the top', 1000 * $laid->body->left, 1000 * $laid->body->top),
                'body' => self::drawn($laid->body),
                'whole' => self::drawn($laid->whole),
                'metals' => self::metals($laid),
                'lit' => isset($lit[$id]),
                'named' => min($laid->body->width(), $laid->body->height()) >= self::LEAST_NAMED / 1000,
                'quarters' => $laid->at->quarters,
            ];
        }

        return $pieces;
    }

    /**
     * The free strip between mains and low voltage.
     *
     * @return ?array<string, float>
     */
    public function barrier(): ?array
    {
        $barrier = $this->plan?->barrier();

        return null === $barrier ? null : self::drawn($barrier);
    }

    /**
     * The board that all parts lie on.
     *
     * @return ?array<string, float>
     */
    public function outline(): ?array
    {
        $board = true === $this->plan?->form?->isOneBoard() ? $this->plan->board() : null;

        return null === $board ? null : self::drawn($board);
    }

    /** Shortest way between mains and low voltage of different parts, in metres; null where there is none. */
    public function nearest(): ?float
    {
        $nearest = $this->plan?->nearest();

        return null === $nearest || INF === $nearest ? null : $nearest;
    }

    public function laidOf(string $device): ?Laid
    {
        return $this->plan->laid[$device] ?? null;
    }

    /** Holes of a perforated board lie on it. */
    public function isPerforated(): bool
    {
        return BuildForm::Perforated === $this->board->build->form();
    }

    /**
     * @return list<array{side: string, rect: array<string, float>}>
     */
    private static function metals(Laid $laid): array
    {
        return [
            ...array_map(static fn(Rect $rect): array => ['side' => 'mains', 'rect' => self::drawn($rect)], $laid->mains),
            ...array_map(static fn(Rect $rect): array => ['side' => 'low', 'rect' => self::drawn($rect)], $laid->low),
        ];
    }

    /** @return array<string, float> */
    private static function drawn(Rect $rect): array
    {
        return [
            'x' => round(1000 * $rect->left, 2),
            'y' => round(1000 * $rect->top, 2),
            'w' => round(1000 * $rect->width(), 2),
            'h' => round(1000 * $rect->height(), 2),
        ];
    }
}
