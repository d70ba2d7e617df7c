<?php

declare(strict_types=1);

namespace IronLatch\Log;

/** Another device has put something down at the same step since the page was drawn. */
final class Meanwhile extends \InvalidArgumentException {}
