<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Build\Currency;
use IronLatch\Core\Build\Drawer;
use IronLatch\Core\Build\PriceList;
use IronLatch\Core\Catalogue\Catalogue;

/** What stands beside the boards and counts when drafts are weighed: the parts that a maker has, and what they pay for others. */
final readonly class Stock
{
    public function __construct(
        public Drawer $drawer = new Drawer(),
        public PriceList $prices = new PriceList(),
        public Currency $currency = new Currency(),
    ) {}

    /** What a brief may be drafted with. */
    public function onOffer(Brief $brief, Catalogue $catalogue): Catalogue
    {
        return true === $brief->drawerOnly?->value ? new FromTheDrawer($catalogue, $this->drawer) : $catalogue;
    }
}
