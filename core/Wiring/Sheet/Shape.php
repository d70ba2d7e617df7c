<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/** The size of a part’s box, and where its terminals stand at its edges. */
final readonly class Shape
{
    public const PITCH = 4.0;
    private const PAD = 1.0;
    private const LEAST_WIDTH = 12.0;

    /** @var list<string> */
    public array $lines;
    public float $width;
    public float $height;
    /** Distance of the text from the left edge. */
    public float $textX;

    public function __construct(public Placed $part)
    {
        $this->lines = $part->lines();
        $widths = ['left' => 0.0, 'right' => 0.0];
        $rows = ['left' => 0, 'right' => 0];
        foreach ($part->joints as $joint) {
            $side = $joint->isLeft ? 'left' : 'right';
            $widths[$side] = max($widths[$side], Type::width($joint->text()) + self::PAD);
            ++$rows[$side];
        }
        $text = max([0.0, ...array_map(Placed::room(...), $this->lines)]);
        // The text of a hub stands above its terminals, so that it is narrow; that of all else between them.
        $this->textX = self::PAD + ($part->isHub() ? 0.0 : $widths['left']);
        $this->width = max(
            self::LEAST_WIDTH,
            $part->isHub()
                ? max($text, $widths['left'] + $widths['right']) + 2 * self::PAD
                : $widths['left'] + $text + $widths['right'] + 3 * self::PAD,
        );
        $this->height = max($rows['left'], $rows['right'], count($this->lines)) * self::PITCH + self::PAD;
    }

    /**
     * The distance of each terminal from the upper edge.
     *
     * @return list<float> in the order of the part’s joints
     */
    public function offsets(): array
    {
        $next = ['left' => 0, 'right' => 0];
        $offsets = [];
        foreach ($this->part->joints as $joint) {
            $side = $joint->isLeft ? 'left' : 'right';
            $offsets[] = (self::PAD + self::PITCH) / 2 + $next[$side] * self::PITCH;
            ++$next[$side];
        }

        return $offsets;
    }
}
