import { IsIn, IsOptional, Matches } from 'class-validator';

export class PhotoNameDto {
  @Matches(/^[0-9a-f]{64}$/, { message: 'A picture is named by the 64 hex digits of its content.' }) hash!: string;
}

export class PhotoSizeDto {
  @IsOptional() @IsIn(['large', 'small'], { message: 'Ask for the large or the small one.' }) size?: 'large' | 'small';
}
