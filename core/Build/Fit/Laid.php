<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

use IronLatch\Core\Board\PlacedAt;

/** A part where it lies. */
final readonly class Laid
{
    /** Its body and what stays free before it. */
    public Rect $whole;
    /** Its body alone. */
    public Rect $body;
    /** @var list<Rect> */
    public array $mains;
    /** @var list<Rect> */
    public array $low;

    public function __construct(public Outline $part, public PlacedAt $at)
    {
        $body = new Rect($part->before, 0.0, $part->reach(), $part->width);
        $put = fn(Rect $rect): Rect => $rect->turned($at->quarters, $part->reach(), $part->width)->moved($at->xMetres, $at->yMetres);
        $this->whole = $put(new Rect(0.0, 0.0, $part->reach(), $part->width));
        $this->body = $put($body);
        $own = static fn(Rect $rect): Rect => $put($rect->moved($part->before, 0.0));
        $this->mains = array_map($own, $part->mains);
        $this->low = array_map($own, $part->low);
    }

    /** The shortest way from mains metal of either to low-voltage metal of the other; without end where there is none. */
    public function mainsToLow(self $other): float
    {
        $least = INF;
        foreach ([[$this->mains, $other->low], [$other->mains, $this->low]] as [$mains, $low]) {
            foreach ($mains as $one) {
                foreach ($low as $another) {
                    $least = min($least, $one->distance($another));
                }
            }
        }

        return $least;
    }

    /** All that lies before it, without end. */
    public function view(): Rect
    {
        $body = $this->body;

        return match ($this->at->quarters) {
            1 => new Rect($body->left, -INF, $body->right, $body->top),
            2 => new Rect($body->right, $body->top, INF, $body->bottom),
            3 => new Rect($body->left, $body->bottom, $body->right, INF),
            default => new Rect(-INF, $body->top, $body->left, $body->bottom),
        };
    }
}
