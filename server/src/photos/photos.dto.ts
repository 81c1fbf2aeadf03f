import { ApiProperty } from '@nestjs/swagger';
import { IsIn, IsOptional, Matches } from 'class-validator';

export class PhotoNameDto {
  @ApiProperty({ description: 'SHA-256 of the file, hex' })
  @Matches(/^[0-9a-f]{64}$/, { message: 'A picture is named by the 64 hex digits of its content.' })
  hash!: string;
}

export class PhotoSizeDto {
  @ApiProperty({ required: false, enum: ['large', 'small'], default: 'large' })
  @IsOptional()
  @IsIn(['large', 'small'], { message: 'Ask for the large or the small one.' })
  size?: 'large' | 'small';
}
