<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Build\Drawer;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Priced;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;

/** A catalogue in which nothing is for sale but what the drawer holds. What nobody buys, such as a mains system, stays. */
final readonly class FromTheDrawer implements Catalogue
{
    public function __construct(private Catalogue $catalogue, private Drawer $drawer) {}

    public function part(string $id): ?Part
    {
        $part = $this->catalogue->part($id);

        return null !== $part && $this->isThere($part) ? $part : null;
    }

    public function parts(string $class): array
    {
        return array_filter($this->catalogue->parts($class), $this->isThere(...));
    }

    private function isThere(Part $part): bool
    {
        $isBought = $part instanceof Priced && !($part instanceof Supply && SupplyForm::Bus === $part->form);

        return !$isBought || $this->drawer->countOf($part->identity()->id, $part->identity()->name) > 0;
    }
}
