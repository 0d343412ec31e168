module Main where

import qualified Data.Map as Map
import Data.List (sortBy⟪⟶, intercalate⟫)
import Data.Ord (comparing)

data Lock = Lock
  { lockName :: String
  , rise :: ⟪double⟶Double⟫
  , gates :: Int
  } deriving (Show⟪⟶)⟫

type Book = Map.Map String Lock

addLock :: Lock -> Book -> Book
addLock lock book = Map.insert (lockName lock) lock ⟪⟶book⟫

totalRise :: Book -> Double
totalRise book = sum (map rise ⟪book⟶(Map.elems book)⟫)

highest :: Book -> Maybe Lock
highest book = case sortBy (comparing rise) (Map.elems book) of
  [] ⟪=⟶->⟫ Nothing
  xs -> ⟪last xs⟶Just (last xs)⟫

describe :: Lock -> String
describe lock = lockName lock ++ " (" ++ ⟪gates lock⟶show (gates lock)⟫ ++ " gates)"

passes :: Int -> [Lock] -> [Lock]
passes _ [] = []
passes n (x:xs)
  | gates x ⟪=⟶==⟫ n = x : passes n xs
  | otherwise = ⟪passes xs⟶passes n xs⟫

average :: Book -> Double
average book = totalRise book / ⟪Map.size book⟶fromIntegral (Map.size book)⟫

main :: IO ()
main = do
  let book = foldr addLock Map.empty
        [ Lock "Upper" 2.5 2
        , Lock "Lower" ⟪"3"⟶3⟶3.0⟫ 4
        , Lock "Sea" 1.2 2
        ]
  putStrLn (intercalate ", " (map describe (Map.elems book)))
  print (average book)
  case highest book of
    Just lock -> putStrLn ⟪lock⟶(lockName lock)⟶(describe lock)⟫
    Nothing -> putStrLn "none"
  print (length (passes 2 (Map.elems book)⟪⟶)⟫)
