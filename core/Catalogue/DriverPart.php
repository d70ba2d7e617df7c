<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A part that a driver circuit can be built around. */
interface DriverPart extends Part {}
