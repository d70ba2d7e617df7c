<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

/** An edit that cannot be made on this board; the message says what to do instead. */
final class EditRefused extends \DomainException {}
