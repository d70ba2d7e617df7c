<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** Styles, scripts and fonts for a device that was let in; on the desk’s own door the server hands them out before anything is asked. */
final readonly class BuiltFileController
{
    private const NAME = '[A-Za-z0-9]+(-[A-Za-z]+)*-[0-9a-f]{10}\.(css|js|woff2)';
    private const TYPES = ['css' => 'text/css', 'js' => 'text/javascript', 'woff2' => 'font/woff2'];

    public function __construct(#[Autowire('%kernel.project_dir%/public/build')] private string $folder) {}

    #[Route('/build/{file}', name: 'built_file', requirements: ['file' => self::NAME], methods: ['GET'])]
    public function __invoke(string $file): Response
    {
        $text = @file_get_contents($this->folder . '/' . $file);

        return false === $text ? throw new NotFoundHttpException('There is no such file.') : new Response($text, headers: [
            'Content-Type' => self::TYPES[pathinfo($file, PATHINFO_EXTENSION)],
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
