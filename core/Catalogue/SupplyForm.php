<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a source of low voltage looks like. */
enum SupplyForm: string
{
    case EncapsulatedModule = 'encapsulated mains module';
    case Adapter = 'plug-in adapter';
}
