<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** A file that cannot be read, with a sentence that says why and what to do. */
final class Unreadable extends \InvalidArgumentException {}
