<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What stands between the USB socket of a carrier and its 5 V pin. */
enum UsbIsolation: string
{
    case Direct = 'a direct connection';
    case Diode = 'a diode';
}
