'use client';

import { useEffect, useRef, useState } from 'react';

/** The size of an element in CSS pixels, so that drawings keep their lettering readable at any size. */
export function useSize<E extends HTMLElement>(initial: { width: number; height: number }) {
  const ref = useRef<E>(null);
  const [size, setSize] = useState(initial);
  useEffect(() => {
    const element = ref.current;
    if (element === null) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (entry === undefined) return;
      const { width, height } = entry.contentRect;
      if (width > 50 && height > 50) setSize({ width: Math.round(width), height: Math.round(height) });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { ref, size };
}
