<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

/** A combination of choices that comes to no board; its message is the first thing that fails. */
final class NoDraft extends \RuntimeException {}
