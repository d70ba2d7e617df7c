<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

/** A board file that cannot be opened; the message says where it fails and what to do. */
final class BoardFileFault extends \RuntimeException {}
