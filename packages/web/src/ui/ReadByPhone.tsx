/** A link as a picture that a phone reads. */
import { useEffect, useState } from 'react';
import { say } from '../words/say.ts';

interface ReadByPhoneProps {
  readonly link: string;
  /** Whose it is, where there are several. */
  readonly of?: string;
  readonly className?: string;
}

const SIDE = 92;

export function ReadByPhone({ link, of, className = '' }: ReadByPhoneProps) {
  const [picture, setPicture] = useState('');
  useEffect(() => {
    let gone = false;
    void import('qrcode')
      .then((qr) => qr.toDataURL(link, { margin: 1, width: 2 * SIDE }))
      .then((url) => {
        if (!gone) setPicture(url);
      });
    return () => {
      gone = true;
    };
  }, [link]);
  const room = { width: SIDE, height: SIDE, flex: 'none' } as const;
  if (picture === '') return <span className={className} style={room} />;
  return (
    <img
      className={className}
      style={room}
      src={picture}
      alt={of ? say('QR code of {{of}}’s link', { of }) : say('QR code of the link')}
    />
  );
}
