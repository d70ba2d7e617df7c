<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** The chip that a pin belongs to, as a circuit sees it: the controller itself, or an expander on its supply. */
final readonly class Silicon
{
    public function __construct(public PartIdentity $identity, public PinElectrics $electrics) {}
}
