<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Build\Price;
use IronLatch\Core\Catalogue\Part;

/** Another part that could be bought, tried on the board. */
final readonly class Alternative
{
    /**
     * @param Edit $edit puts it in place of the present one, everywhere in the row
     * @param ?Price $price of one; null while nobody has said it
     * @param list<string> $worse what stands against it: findings that would come, the heaviest first
     * @param list<string> $better findings that would go
     */
    public function __construct(public Part $part, public Edit $edit, public ?Price $price, public array $worse, public array $better) {}

    public function isSound(): bool
    {
        return [] === $this->worse;
    }
}
