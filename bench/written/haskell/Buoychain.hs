module Main where

import Data.Maybe (mapMaybe)

data Colour = Red | Green | Yellow deriving (Eq, Show)

data Buoy = Buoy
  { ident :: Int
  , colour :: Colour
  , link :: Maybe Int
  }

buoys :: [Buoy]
buoys =
  [ Buoy 1 Red (Just 2)
  , Buoy 2 Green ⟪3⟶(Just 3)⟫
  , Buoy 3 ⟪yellow⟶Yellow⟫ Nothing
  ]

find :: Int -> Maybe Buoy
find n = case ⟪[b <- buoys, ident b == n]⟶[b | b <- buoys, ident b == n]⟫ of
  (b:_) -> Just b
  [] -> ⟪Null⟶Nothing⟫

follow :: Buoy -> [Buoy]
follow b = b : case link b of
  Nothing -> []
  Just n -> case find n of
    Nothing -> []
    Just next -> follow ⟪n⟶next⟫

lengthFrom :: Int -> Int
lengthFrom n = maybe 0 ⟪length follow⟶(length . follow)⟫ (find n)

colours :: [Colour]
colours = map ⟪(.colour)⟶colour⟫ buoys

describe :: Buoy -> String
describe b = "buoy " ++ show (ident b) ++ " " ++ ⟪colour b⟶show (colour b)⟫

recolour :: Colour -> Buoy -> Buoy
recolour c b = b { colour⟪ == ⟶ = ⟫c }

isEnd :: Buoy -> Bool
isEnd b = link b == ⟪Just Nothing⟶Nothing⟫

pairs :: [a] -> [(a, a)]
pairs xs = ⟪zipWith⟶zip⟫ xs (tail xs)

main :: IO ()
main = do
  mapM_ (putStrLn . describe) (maybe [] follow (find 1))
  print (lengthFrom ⟪"1"⟶1⟫)
  let repainted = map (recolour Green) buoys
  print (length (filter isEnd repainted⟪⟶)⟫)
  print [ (ident a, ident b) | (a, b) <- pairs buoys ⟪if⟶,⟫ colour a /= colour b ]
  print (mapMaybe link buoys ⟪!=⟶/=⟫ [])
  putStrLn $ "done" ++ ⟪(show . length colours)⟶show (length colours)⟶(show . length) colours⟶(show $ length colours)⟫
